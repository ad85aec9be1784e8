# hangman without random
WORD = "compost"
MAX = 6
guessed = set()
wrong = 0
while wrong < MAX:
    shown = " ".join(ch if ch in guessed else "_" for ch in WORD)
    print(shown, f"  [{MAX - wrong} left]", sep="")
    if "_" not in shown:
        print("You win!")
        break
    try:
        g = input("letter: ").lower()
        assert len(g) == 1 and g.isalpha(), "one letter please"
    except AssertionError as e:
        print(e)
        continue
    except EOFError:
        print("\nno more input")
        break
    if g in guessed:
        print("already guessed", sorted(guessed))
    elif g in WORD:
        guessed |= {g}
        print("yes,", WORD.count(g), "of them" if WORD.count(g) > 1 else "of it")
    else:
        guessed.add(g)
        wrong += 1
        print("no")
else:
    print("You lose; the word was", WORD.upper())
print("guessed:", *sorted(guessed))
