weights = [310, 275, 402, 398]
largest = weights[0]
place = 0
for i in range(1, len(weights)):
    if weights[i] > largest:
        largest = weights[i]
        place = i
print("pumpkin", place + 1, "wins with", largest, "g")
