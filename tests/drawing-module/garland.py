import turtle as t
import random

pen = t.Turtle()
pen.shape("turtle")
pen.speed("fastest")
colours = ["red", "orange", "dark green"]
for i in range(6):
    pen.pencolor(colours[i % 3])
    pen.circle(40)
    pen.lt(60)
pen.pu()
pen.setpos(-50, 20)
pen.setx(10)
pen.pd()
pen.fillcolor("gold")
pen.begin_fill()
for side in range(3):
    pen.fd(60)
    pen.left(120)
pen.end_fill()
pen.write("bed", font=("Arial", 12, "normal"))
pen.home()
t.done()
