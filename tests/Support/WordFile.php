<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use ZipArchive;

/** Makes word-processor files in Office Open XML (ECMA-376) for tests: the least that is a whole package. */
final class WordFile
{
    private const MAIN = 'application/vnd.openxmlformats-officedocument.wordprocessingml';

    private const NAMESPACES = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main" '
        .'xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships" '
        .'xmlns:w14="urn:open-slate:extension" '
        .'xmlns:wp="http://schemas.openxmlformats.org/drawingml/2006/wordprocessingDrawing" '
        .'xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" '
        .'xmlns:pic="http://schemas.openxmlformats.org/drawingml/2006/picture" '
        .'xmlns:m="http://schemas.openxmlformats.org/officeDocument/2006/math"';

    private const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>';

    private const RELATIONS = 'http://schemas.openxmlformats.org/package/2006/relationships';

    private const KIND = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships/';

    /** @var list<string> */
    private array $relations = [];

    /** @var array<string, string> */
    private array $parts = [];

    private string $body = '';

    private string $section = '<w:pgSz w:w="11906" w:h="16838"/><w:pgMar w:top="1134" w:right="1134" '
        .'w:bottom="1134" w:left="1134" w:header="567" w:footer="567" w:gutter="0"/>';

    /** @param  string  $font  of its words */
    public function __construct(private string $font = 'Liberation Sans')
    {
    }

    /** A paragraph with words, or with runs as they stand. */
    public function paragraph(string $words, string $properties = ''): self
    {
        $runs = str_starts_with($words, '<') ? $words : self::run($words);

        return $this->raw("<w:p><w:pPr>{$properties}</w:pPr>{$runs}</w:p>");
    }

    public static function run(string $words, string $properties = ''): string
    {
        $words = htmlspecialchars($words, ENT_XML1);

        return "<w:r><w:rPr>{$properties}</w:rPr><w:t xml:space=\"preserve\">{$words}</w:t></w:r>";
    }

    /** A content control round some runs; its properties say of which kind it is. */
    public static function control(string $name, string $properties, string $runs, bool $isAsked = true): string
    {
        $asked = $isAsked ? '<w:showingPlcHdr/>' : '';

        return "<w:sdt><w:sdtPr><w:alias w:val=\"{$name}\"/>{$asked}{$properties}</w:sdtPr>"
            ."<w:sdtContent>{$runs}</w:sdtContent></w:sdt>";
    }

    /** A form field of the older kind. */
    public static function formField(string $name, string $data, string $instruction, string $result = ''): string
    {
        return '<w:r><w:fldChar w:fldCharType="begin"><w:ffData><w:name w:val="'.$name.'"/><w:enabled/>'
            ."{$data}</w:ffData></w:fldChar></w:r><w:r><w:instrText xml:space=\"preserve\"> {$instruction} "
            .'</w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r>'
            .($result === '' ? '' : self::run($result)).'<w:r><w:fldChar w:fldCharType="end"/></w:r>';
    }

    /** @param  list<list<string>>  $rows  the words of the cells */
    public function table(array $rows, int $width = 9600, string $properties = ''): self
    {
        $across = (int) ($width / count($rows[0]));
        $sides = '';
        foreach (['top', 'left', 'bottom', 'right', 'insideH', 'insideV'] as $side) {
            $sides .= "<w:{$side} w:val=\"single\" w:sz=\"4\" w:color=\"000000\"/>";
        }
        $cells = fn (array $row): string => implode('', array_map(
            fn (string $words): string => "<w:tc><w:tcPr><w:tcW w:w=\"{$across}\" w:type=\"dxa\"/></w:tcPr><w:p>"
                .($words === '' ? '' : self::run($words)).'</w:p></w:tc>',
            $row,
        ));

        return $this->raw(
            "<w:tbl><w:tblPr><w:tblW w:w=\"{$width}\" w:type=\"dxa\"/>{$properties}<w:tblLayout w:type=\"fixed\"/>"
                ."<w:tblBorders>{$sides}</w:tblBorders></w:tblPr><w:tblGrid>"
                .str_repeat("<w:gridCol w:w=\"{$across}\"/>", count($rows[0])).'</w:tblGrid>'
                .implode('', array_map(fn (array $row): string => "<w:tr>{$cells($row)}</w:tr>", $rows)).'</w:tbl>',
        );
    }

    public function raw(string $xml): self
    {
        $this->body .= $xml;

        return $this;
    }

    /** @param  string  $kind  the last part of a relationship's type, or the whole */
    public function relation(string $kind, string $target, bool $isOutside = false): string
    {
        $id = 'rId'.(count($this->relations) + 10);
        $kind = str_contains($kind, ':') ? $kind : self::KIND.$kind;
        $mode = $isOutside ? ' TargetMode="External"' : '';
        $this->relations[] = "<Relationship Id=\"{$id}\" Type=\"{$kind}\" Target=\"{$target}\"{$mode}/>";

        return $id;
    }

    /** Another part of the package. */
    public function part(string $name, string $content): self
    {
        $this->parts[$name] = $content;

        return $this;
    }

    /** What the file says of itself (ECMA-376, extended properties). */
    public function pagesSaid(int $pages): self
    {
        return $this->part(
            'docProps/app.xml',
            self::HEAD.'<Properties xmlns="http://schemas.openxmlformats.org/officeDocument/2006/extended-properties">'
                ."<Pages>{$pages}</Pages></Properties>",
        );
    }

    /** @param  array<int, string>  $comments  words by id */
    public function comments(array $comments): self
    {
        $this->relation('comments', 'comments.xml');
        $all = '';
        foreach ($comments as $id => $words) {
            $all .= "<w:comment w:id=\"{$id}\" w:author=\"A. Tern\"><w:p>".self::run($words).'</w:p></w:comment>';
        }

        return $this->part('word/comments.xml', self::HEAD.'<w:comments '.self::NAMESPACES.">{$all}</w:comments>");
    }

    /** Keeps it at a path. */
    public function write(string $path): string
    {
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) === true
            || throw new RuntimeException("Cannot write {$path}.");
        $override = fn (string $part, string $kind): string => sprintf(
            '<Override PartName="/%s" ContentType="%s"/>',
            $part,
            $kind,
        );
        $comments = isset($this->parts['word/comments.xml']);
        $zip->addFromString('[Content_Types].xml', self::HEAD
            .'<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">'
            .'<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'
            .'<Default Extension="xml" ContentType="application/xml"/>'
            .'<Default Extension="png" ContentType="image/png"/>'
            .$override('word/document.xml', self::MAIN.'.document.main+xml')
            .$override('word/styles.xml', self::MAIN.'.styles+xml')
            .$override('docProps/app.xml', 'application/vnd.openxmlformats-officedocument.extended-properties+xml')
            .($comments ? $override('word/comments.xml', self::MAIN.'.comments+xml') : '')
            .'</Types>');
        $zip->addFromString('_rels/.rels', self::HEAD.'<Relationships xmlns="'.self::RELATIONS.'">'
            .'<Relationship Id="rId1" Type="'.self::KIND.'officeDocument" Target="word/document.xml"/>'
            .'<Relationship Id="rId2" Type="'.self::KIND.'extended-properties" Target="docProps/app.xml"/>'
            .'</Relationships>');
        $zip->addFromString('word/_rels/document.xml.rels', self::HEAD.'<Relationships xmlns="'.self::RELATIONS.'">'
            .'<Relationship Id="rId1" Type="'.self::KIND.'styles" Target="styles.xml"/>'
            .implode('', $this->relations).'</Relationships>');
        $zip->addFromString('word/styles.xml', self::HEAD.'<w:styles '.self::NAMESPACES.'><w:docDefaults>'
            ."<w:rPrDefault><w:rPr><w:rFonts w:ascii=\"{$this->font}\" w:hAnsi=\"{$this->font}\"/>"
            .'<w:sz w:val="24"/></w:rPr></w:rPrDefault></w:docDefaults></w:styles>');
        $zip->addFromString('word/document.xml', self::HEAD.'<w:document '.self::NAMESPACES
            ."><w:body>{$this->body}<w:sectPr>{$this->section}</w:sectPr></w:body></w:document>");
        foreach ($this->parts as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return $path;
    }
}
