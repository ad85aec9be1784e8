heights = [12, 7, 30, 1, 18]
for i in range(len(heights)):
    for j in range(len(heights) - 1 - i):
        if heights[j] > heights[j + 1]:
            heights[j], heights[j + 1] = heights[j + 1], heights[j]
print(heights)
names = ["fern", "aster", "moss"]
names.sort()
print(", ".join(names).upper())
evens = [h for h in heights if h % 2 == 0]
print(evens, -7 // 2, -7 % 3)
