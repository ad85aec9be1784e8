import random
random.seed(7)
secret = random.randint(1, 10)
guesses = [5, 8, 2, secret]
for count, g in enumerate(guesses, 1):
    if g < secret: print(g, "too low")
    elif g > secret: print(g, "too high")
    else:
        print("got it in", count)
        break
deck = [f"{r}{s}" for s in "SH" for r in ["A", 2, 3]]
random.shuffle(deck)
print(len(deck), sorted(deck), random.choice("aaa"))
