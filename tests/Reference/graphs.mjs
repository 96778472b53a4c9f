// Reads [[nodes, edges, nodes, edges], …] as JSON, nodes as [id, name], edges as [a, b, name]; prints for each whether
// the
// two are one graph up to parts of one name: by @dagrejs/graphlib, trying every assignment.
import { Graph } from '@dagrejs/graphlib';
import { readFileSync } from 'node:fs';

function graph(nodes, edges) {
    const made = new Graph({ directed: false, multigraph: true });
    nodes.forEach(([id, name]) => made.setNode(id, name));
    edges.forEach(([a, b, name]) => made.setEdge(a, b, name, name));
    return made;
}

function same(left, right) {
    if (left.nodeCount() !== right.nodeCount() || left.edgeCount() !== right.edgeCount()) return false;
    const nodes = left.nodes();
    const fits = (to, node) =>
        left
            .nodeEdges(node)
            .every(({ v, w, name }) => !to.has(v) || !to.has(w) || right.hasEdge(to.get(v), to.get(w), name));
    const assign = (at, to, taken) =>
        at === nodes.length ||
        right.nodes().some((candidate) => {
            if (taken.has(candidate) || right.node(candidate) !== left.node(nodes[at])) return false;
            const next = new Map(to).set(nodes[at], candidate);
            return fits(next, nodes[at]) && assign(at + 1, next, new Set(taken).add(candidate));
        });
    return assign(0, new Map(), new Set());
}

const pairs = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(
    JSON.stringify(pairs.map(([nodes, edges, others, their]) => same(graph(nodes, edges), graph(others, their)))),
);
