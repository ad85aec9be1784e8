total = 0
for i in range(3):
    total += i
print("Total", totl)
