import random
import scrivlet

rolls = 0
for turn in range(10):
    seed = random.randint(1, 6)
    if seed > 3:
        rolls += 1
print(rolls <= 10)
bed = random.choice(["long", "shady"])
print(len(bed) > 3)
