from reportlab.pdfgen import canvas
from reportlab.lib.pagesizes import A4
from reportlab.lib import colors
W,H=A4
c=canvas.Canvas('plotted-limpet.pdf',pagesize=A4)
def head(t):
    c.setFont('Helvetica',11); c.drawString(40,H-40,'Name'); c.line(75,H-42,260,H-42); c.drawString(280,H-40,'Date'); c.line(310,H-42,400,H-42)
    c.roundRect(480,H-60,75,32,6); c.setFont('Helvetica',14); c.drawString(525,H-50,'/ 20')
    c.setFont('Helvetica-Bold',18); c.drawCentredString(W/2,H-90,t); c.setFont('Helvetica',12)
# p1 bonds
head('Making ten with buoys')
y=H-130
c.drawString(40,y,'1. Fill in the missing numbers.')
for r in range(4):
    for k in range(3):
        x=60+k*170; yy=y-40-r*40
        n=(r*3+k)%9+1
        c.setFont('Helvetica',16); c.drawString(x,yy,f'{n} +'); c.rect(x+34,yy-7,28,26); c.drawString(x+70,yy,'= 10')
y=H-340
c.setFont('Helvetica',12); c.drawString(40,y,'2. Complete the part-whole models.')
for k in range(3):
    cx=120+k*170; cy=y-50
    c.line(cx,cy,cx-40,cy-70); c.line(cx,cy,cx+40,cy-70)
    c.setFillColor(colors.white)
    for (px,py,t) in ((cx,cy,'10'),(cx-40,cy-70,str(k+2)),(cx+40,cy-70,'')):
        c.circle(px,py,22,fill=1)
        c.setFillColor(colors.black); c.setFont('Helvetica',14); c.drawCentredString(px,py-5,t); c.setFillColor(colors.white)
    c.setFillColor(colors.black)
y=H-510
c.setFont('Helvetica',12); c.drawString(40,y,'3. What time is it?')
import math
for k in range(4):
    cx=95+k*130; cy=y-60
    c.circle(cx,cy,42)
    for i in range(12):
        a=math.radians(90-30*(i+1)); c.setFont('Helvetica',8); c.drawCentredString(cx+34*math.cos(a),cy+34*math.sin(a)-3,str(i+1))
    c.setLineWidth(2); c.line(cx,cy,cx+18*math.cos(math.radians(90-90*k)),cy+18*math.sin(math.radians(90-90*k))); c.line(cx,cy,cx,cy+28); c.setLineWidth(1)
    c.line(cx-45,cy-62,cx+5,cy-62); c.setFont('Helvetica',11); c.drawString(cx+8,cy-60,"o'clock")
y=H-660
c.setFont('Helvetica',12); c.drawString(40,y,'4. Write the number that comes')
c.drawString(60,y-22,'before:'); c.line(110,y-24,150,y-24); c.drawString(155,y-22,'14'); c.drawString(240,y-22,'after: 19'); c.line(300,y-24,340,y-24); c.drawString(380,y-22,'between: 6'); c.line(445,y-24,475,y-24); c.drawString(480,y-22,'8')
c.setFont('Helvetica',8); c.line(40,50,W-40,50); c.drawString(40,38,'Saltmarsh Hill Primary    Maths 1'); c.drawRightString(W-40,38,'Page 1')
c.showPage()
# p2 science
head('Parts of a limpet')
c.setFont('Helvetica',12); c.drawString(40,H-120,'A  Label the drawing. Use the words in the box.')
c.setDash(3,2); c.rect(40,H-165,W-80,30); c.setDash(); c.drawString(60,H-155,'shell      foot      mouth      tentacle      gill')
c.ellipse(180,H-400,400,H-230); c.line(180,H-315,400,H-315); c.ellipse(200,H-390,260,H-350)
for (x1,y1,x2,y2) in ((230,H-260,120,H-220),(220,H-370,120,H-380),(390,H-340,450,H-380),(370,H-270,450,H-230)):
    c.line(x1,y1,x2,y2)
for (x,yy) in ((30,H-228),(30,H-390),(455,H-390),(455,H-238)):
    c.rect(x,yy,90,20)
c.drawString(40,H-440,'B  Circle the right word.')
for i,t in enumerate(['A limpet is a plant / an animal.','It eats seaweed / fish.','It lives on rock / sand.']):
    c.drawString(60,H-465-i*20,f'{i+1}) '+t)
c.drawString(40,H-540,'C  Tick the boxes to show where each one lives.')
rows=['','sea','rock pool','beach']; names=['limpet','crab','gull','cod']
x0=60;y0=H-560;cw=100;rh=24
for r in range(5):
    for k in range(4):
        c.rect(x0+k*cw,y0-(r+1)*rh,cw,rh)
        t = rows[k] if r==0 else (names[r-1] if k==0 else '')
        c.drawCentredString(x0+k*cw+cw/2,y0-(r+1)*rh+8,t)
c.drawString(40,H-710,'D  Why does a limpet hold on tight?')
for i in range(3): c.setStrokeColor(colors.grey); c.line(60,H-735-i*24,W-40,H-735-i*24)
c.setStrokeColor(colors.black)
c.showPage()
# p3 look cover write check
head('Look, cover, write, check')
cols=['Word','First try','Second try','Third try','Right?']; ws=[110,110,110,110,60]
words=['harbour','tide','anchor','lantern','rigging','gannet','ballast','rudder']
y=H-120; x=40
c.setFillColor(colors.HexColor('#ddeeff')); c.rect(x,y-26,sum(ws),26,fill=1); c.setFillColor(colors.black)
for r in range(9):
    xx=x
    for k,w in enumerate(ws):
        c.rect(xx,y-26*(r+1),w,26)
        if r==0: c.drawString(xx+8,y-18,cols[k])
        elif k==0 and r: c.drawString(xx+8,y-26*r-18,words[r-1])
        xx+=w
y=H-400
c.drawString(40,y,'Put three of the words into sentences of your own.')
for i in range(3):
    c.circle(52,y-30-i*50,9); c.drawCentredString(52,y-34-i*50,str(i+1))
    c.line(70,y-38-i*50,W-40,y-38-i*50); c.line(70,y-58-i*50,W-40,y-58-i*50) if False else None
y=H-590
c.drawString(40,y,'Unscramble the letters:')
for i,(a) in enumerate(['d i t e','c r h o n a','r r u d d e']):
    c.drawString(60,y-30-i*36,a)
    n=len(a.replace(' ',''))
    for k in range(n): c.rect(200+k*24,y-38-i*36,24,24)
c.showPage()
# p4 comprehension
head('The lamp on Gull Rock')
t='Every evening Old Maud rowed out to the lamp on Gull Rock. She carried oil in a tin can and a loaf of bread under her coat. When the wind blew hard from the west the waves broke over the steps, and she had to wait for the seventh wave before she jumped. One night in March the lamp did not burn.'.split()
line='';y=H-125
for w in t:
    if c.stringWidth(line+' '+w,'Helvetica',12)>W-90: c.drawString(40,y,line.strip()); y-=16; line=''
    line+=' '+w
c.drawString(40,y,line.strip()); y-=34
qs=[('Where was the lamp?',['on Gull Rock','on the quay','in her house']),('How did she get there?',['she rowed','she swam','she walked'])]
for i,(q,o) in enumerate(qs):
    c.setFont('Helvetica-Bold',12); c.drawString(40,y,f'{i+1}'); c.setFont('Helvetica',12); c.drawString(60,y,q); y-=20
    for s in o: c.circle(72,y+4,5); c.drawString(86,y,s); y-=18
    y-=10
for i,q in enumerate(['What did she carry under her coat?','Why did she wait for the seventh wave? Explain in your own words.']):
    c.setFont('Helvetica-Bold',12); c.drawString(40,y,f'{i+3}'); c.setFont('Helvetica',12); c.drawString(60,y,q); c.drawRightString(W-40,y,f'[{i+1}]'); y-=24
    for k in range(1+2*i):
        c.setStrokeColor(colors.lightgrey); c.line(60,y,W-40,y); y-=22
    c.setStrokeColor(colors.black); y-=10
c.setFont('Helvetica-Bold',12); c.drawString(40,y,'5'); c.setFont('Helvetica',12); c.drawString(60,y,'True or false? Write T or F.'); y-=22
for s in ['Maud had a boat.','The lamp burned every night.','It was a night in May.']:
    c.drawString(80,y,s); c.rect(300,y-4,16,16); y-=22
y-=10
c.setFont('Helvetica-Bold',12); c.drawString(40,y,'6'); c.setFont('Helvetica',12); c.drawString(60,y,'What do you think happened next? Draw it.'); y-=10
c.rect(60,60,W-100,y-60)
c.showPage()
# p5 fish shop (decoys and sums)
head('At the fish shop')
c.drawString(40,H-130,'PRICE LIST')
for i,(a,b) in enumerate([('cod','£4.20'),('hake','£3.85'),('crab','£6.10')]):
    c.setDash(1,2); c.line(90,H-150-i*18,180,H-150-i*18); c.setDash(); c.drawString(50,H-150-i*18,a); c.drawString(186,H-150-i*18,b)
c.rect(40,H-200,200,90)
# bar chart
c.line(320,H-240,320,H-120); c.line(320,H-240,540,H-240)
for i,h in enumerate((60,90,40)): c.rect(340+i*60,H-240,36,h); c.drawCentredString(358+i*60,H-254,['cod','hake','crab'][i])
for i in range(5): c.line(316,H-240+i*24,320,H-240+i*24); c.drawRightString(312,H-244+i*24,str(i*5))
c.drawString(40,H-290,'1.  How much do two cod cost?'); c.drawString(400,H-290,'£'); c.line(412,H-292,500,H-292)
c.drawString(40,H-320,'2.  Which fish sold most?'); c.drawString(300,H-320,'............................................')
c.drawString(40,H-350,'3.  Find the change from £10 for one crab. Show your working.')
c.rect(60,H-450,W-120,85); c.drawString(W-200,H-440,'Answer: £'); c.line(W-138,H-442,W-70,H-442)
c.drawString(40,H-480,'4.  Work out:')
for k,(a,b) in enumerate([('4.20','3.85'),('6.10','3.85'),('9.00','4.20')]):
    x=80+k*160; y=H-505
    c.setFont('Courier',14); c.drawRightString(x+70,y,a); c.drawString(x+10,y-18,'-'); c.drawRightString(x+70,y-18,b); c.line(x+5,y-24,x+75,y-24); c.line(x+5,y-46,x+75,y-46); c.setFont('Helvetica',12)
c.drawString(40,H-590,'5.  Measure the line with a ruler.'); c.setLineWidth(2); c.line(60,H-610,260,H-610); c.setLineWidth(1); c.line(300,H-612,360,H-612); c.drawString(364,H-610,'cm')
c.drawString(40,H-730,'How did you find this work?   easy'); c.circle(240,H-726,7); c.drawString(260,H-730,'just right'); c.circle(330,H-726,7); c.drawString(350,H-730,'hard'); c.circle(392,H-726,7)
c.showPage(); c.save()
