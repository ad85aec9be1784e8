age = 12
print("You are " + age + " years old")
