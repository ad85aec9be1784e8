score = 5
if score > 3:
    print("win")
    scroe = scroe + 1
print(score)
