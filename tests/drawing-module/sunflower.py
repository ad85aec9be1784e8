from turtle import *

def petal(radius, steps):
    for i in range(2):
        circle(radius, steps)
        left(180 - steps)

speed(0)
pencolor("orange")
for i in range(12):
    petal(60, 70)
    left(30)
penup()
goto(0, -20)
pendown()
dot(12)
done()
