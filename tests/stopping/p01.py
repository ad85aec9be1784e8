def greet(name):
    print("Hello " + nmae)

print("start")
greet("Ada")
print("end")
