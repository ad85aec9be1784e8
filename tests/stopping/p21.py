name = "Ada"
print(name[10])
