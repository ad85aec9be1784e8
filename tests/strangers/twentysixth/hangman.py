WORDS = ["hedgerow", "compost", "nettle"]
MAX_WRONG = 5

def mask(word, guessed):
    return " ".join(letter if letter in guessed else "_" for letter in word)

def ask(guessed):
    while True:
        guess = input("Your letter: ").strip().lower()
        if len(guess) != 1 or not guess.isalpha():
            print("One letter please.")
            continue
        if guess in guessed:
            print(f"You tried {guess!r} already.")
            continue
        return guess

def play(word):
    guessed = set()
    wrong = 0
    while wrong < MAX_WRONG:
        print(mask(word, guessed), f"({MAX_WRONG - wrong} left)")
        guess = ask(guessed)
        guessed.add(guess)
        if guess not in word:
            wrong += 1
            print("No", guess)
        elif set(word) <= guessed:
            print("You found it:", word.upper())
            return True
        else:
            print("Yes,", word.count(guess), "time" + ("s" if word.count(guess) != 1 else ""))
    print("It was", word)
    return False

def main():
    results = []
    for word in WORDS:
        results.append(play(word))
        if input("Again? (y/n) ")[:1].lower() != "y":
            break
    print(results)
    print("Won {} of {} ({:.0%})".format(sum(results), len(results), sum(results) / len(results)))
    print("All won!" if all(results) else "Some lost." if any(results) else "None won.")

if __name__ == "__main__":
    main()
