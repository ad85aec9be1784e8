def greet(name, times=2):
    for i in range(times):
        print("Hello, " + name + "!")

greet("Juniper")
greet("Rowan", 1)
greet(name="Sorrel", times=3)
