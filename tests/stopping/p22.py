name = "Ada"
name[0] = "B"
print(name)
