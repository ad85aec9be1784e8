"""The round gate of the garden: arcs, a clean sheet, and a part that runs only as a program of its own."""
from turtle import *
from math import pi


def arc(radius, outer, inner):
    width(3)
    color(outer, inner)
    begin_fill()
    circle(radius / 2., 180)
    circle(radius, 180)
    left(180)
    circle(-radius / 2., 180)
    end_fill()
    left(90)
    up()
    forward(radius * 0.35)
    right(90)
    down()
    left(90)
    up()
    backward(radius * 0.35)
    down()
    left(90)


def stripes():
    colours = ("red3", "orange", "seagreen4")
    Screen()
    up()
    goto(-60, -40)
    width(12)
    for shade in colours:
        color(shade)
        down()
        forward(round(40 * pi))
        up()
        backward(round(40 * pi))
        left(90)
        forward(14)
        right(90)


def main():
    forward(30)
    reset()
    arc(90, "black", "white")
    arc(90, "white", "black")
    stripes()
    ht()
    return "done"


if __name__ == '__main__':
    main()
    mainloop()
