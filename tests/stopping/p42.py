sum = 0
for n in [1, 2]:
    sum = sum + n
print(sum)
print(sum([1, 2]))
