def f():
    print(x)
    x = 5
x = 1
f()
