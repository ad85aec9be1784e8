import turtle as t

screen = t.Screen()
screen.bgcolor("beige")
mole = t.Turtle()
mole.color("brown")
mole.seth(45)
mole.circle(-30, 180)
mole.sety(40)
mole.home()
for step in range(3):
    mole.up()
    mole.setpos(step * 10, 5)
    mole.down()
    mole.circle(4)
screen.exitonclick()
