print("a")
x = random.randint(1, 3)
print(x)
