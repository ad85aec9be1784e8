WORD = "marigold"
STAGES = ["", "|", "|-", "|-o", "|-o-", "|-o->"]

def show(word, guessed):
    return " ".join(c if c in guessed else "_" for c in word)

def main():
    guessed, wrong = set(), []
    print("Guess the flower!")
    while len(wrong) < len(STAGES) - 1:
        print(show(WORD, guessed), STAGES[len(wrong)])
        letter = input("Letter? ").lower().strip()
        if not letter.isalpha() or len(letter) != 1:
            print("One letter, please.")
        elif letter in guessed or letter in wrong:
            print(f"You tried {letter!r} before.")
        elif letter in WORD:
            guessed |= {letter}
            if all(c in guessed for c in WORD):
                print(f"Yes, {WORD}! {len(wrong)} wrong.")
                return
        else:
            wrong.append(letter)
            print("No", letter, "-", len(STAGES) - 1 - len(wrong), "left")
    print("Lost. It was", WORD.upper(), sorted(wrong))

main()
