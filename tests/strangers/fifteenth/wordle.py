# Guess the plant - five letters
import sys

SECRET = "tulip"
MAX_TRIES = 6
VALID = set("abcdefghijklmnopqrstuvwxyz")


def score(guess, secret):
    result = ["."] * len(secret)
    left = list(secret)
    for i, (g, s) in enumerate(zip(guess, secret)):
        if g == s:
            result[i] = g.upper()
            left.remove(g)
    for i, g in enumerate(guess):
        if result[i] == "." and g in left:
            result[i] = g
            left.remove(g)
    return "".join(result)


tries = 0
used = []
while tries < MAX_TRIES:
    guess = input("Your guess: ").strip().lower()
    if len(guess) != len(SECRET) or not set(guess) <= VALID:
        print("Five letters, please.")
        continue
    if guess in used:
        print("You had that one.")
        continue
    used.append(guess)
    tries += 1
    mark = score(guess, SECRET)
    print(f"{tries}/{MAX_TRIES}  {mark}")
    if mark.isupper():
        print("Well done!")
        break
else:
    print("It was", SECRET)
    sys.exit(1)
print("Guesses:", *used, sep="\n  - ")
