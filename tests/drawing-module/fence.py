import turtle

post = 5
turtle.width(3)
while post > 0:
    turtle.lt(90)
    turtle.forward(30 + post * 4)
    turtle.bk(30 + post * 4)
    turtle.rt(90)
    turtle.fd(20)
    post -= 1
turtle.ht()
print(round(turtle.xcor()), turtle.heading())
turtle.mainloop()
