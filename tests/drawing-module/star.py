from turtle import *

bgcolor("white")
color("blue", "yellow")
begin_fill()
for i in range(5):
    forward(80)
    rt(144)
end_fill()
hideturtle()
mainloop()
