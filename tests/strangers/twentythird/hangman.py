import string

WORDS = ["compost", "trellis", "greenhouse"]
LIVES = 6

def masked(word, guessed):
    out = ""
    for ch in word:
        if ch in guessed:
            out += ch + " "
        else:
            out += "_ "
    return out.rstrip()

def get_guess(already):
    while True:
        guess = input("Letter? ").lower()
        if len(guess) != 1:
            print("  Just one letter please.")
        elif guess not in string.ascii_lowercase:
            print("  That is not a letter.")
        elif guess in already:
            print("  You had that one already.")
        else:
            return guess

def play(word):
    guessed = set()
    wrong = 0
    while wrong < LIVES:
        print(masked(word, guessed), "   lives:", "*" * (LIVES - wrong))
        guess = get_guess(guessed)
        guessed.add(guess)
        if guess in word:
            n = word.count(guess)
            print(f"  Yes! {n} time{'s' if n != 1 else ''}.")
            if set(word) <= guessed:
                return True, sorted(guessed)
        else:
            wrong += 1
            print("  No...")
    return False, sorted(guessed)

def main():
    won = 0
    for number, word in enumerate(WORDS[:2], start=1):
        print(f"--- Round {number} ---")
        ok, letters = play(word)
        print("You won!" if ok else f"It was {word!r}.", "".join(letters))
        won += ok
    print("Won {} of {}".format(won, len(WORDS[:2])))
    unused = set(string.ascii_lowercase) - set("".join(WORDS))
    print("Never needed:", "".join(sorted(unused)))

if __name__ == "__main__":
    main()
