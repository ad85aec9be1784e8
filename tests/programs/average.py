heights = [12, 15, 9, 22, 18]
total = 0
for height in heights:
    total += height
average = total / len(heights)
print("average", average)
tall = [height for height in heights if height > average]
print(tall)
