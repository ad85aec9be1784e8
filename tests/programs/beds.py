# A flower
from scrivlet import nib
import random

SIDE = 50

def petal(size, colour="rose"):
    """Draws one petal."""
    nib.open_shape(colour)
    for i in range(2):   # two halves
        for turn in range(90 // 10):
            nib.forward(size / 10)
            nib.left(10)
        nib.left(90)
    nib.close_shape()


names = ["bean", "pea", 'leek']
for name in names:
	print(name.upper(), len(name))
total = 0
for n in range(1, 11):
    total += n
    if n % 2 == 0 and n not in [2, 4]: print(f"{n} is even: {n / 3:.2f}")
    elif n == 3:
        continue
    else:
        pass
while total > 0:
    total -= 7; names.append("x")
a, b = 1, 2
a, b = b, a
if 1 < a < 5:
    petal(30)
    petal(30, colour="sky")
words = "the old gate".split()
print(words[-1], words[0:2], [w for w in words if len(w) > 3])
counts = {"bean": 3}
counts["pea"] = counts.get("pea", 0) + 1
for key, value in counts.items():
    print(key, value)
answer = int(input("How many? "))
print("x" * 3 + str(answer), "ab" if answer > 3 else "cd")
