# Hangman played by a script of guesses
import sys

WORD = "gardener"
guesses = iter("aezrgxdn")
found = set()
lives = 6
while lives > 0 and not set(WORD) <= found:
    shown = " ".join(ch if ch in found else "_" for ch in WORD)
    print(shown, f"({lives} lives)")
    try:
        guess = next(guesses)
    except StopIteration:
        break
    if guess in found:
        print("again?")
    elif guess in WORD:
        found.add(guess)
        print(f"{guess!r} is there {WORD.count(guess)} times")
    else:
        lives -= 1
        print("no", guess)
print("won" if lives else "lost", sorted(found), file=sys.stdout)
