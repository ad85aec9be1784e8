# Hangman, adapted for the garden club
import random

WORDS = ["tulip", "barrow", "compost", "trowel"]
MAX_WRONG = 6

def get_masked(word, guessed):
    masked = ""
    for letter in word:
        if letter in guessed:
            masked += letter
        else:
            masked += "_"
        masked += " "
    return masked.strip()

def play():
    word = WORDS[2]
    guessed = []
    wrong = 0
    while wrong < MAX_WRONG:
        print("\nWord:", get_masked(word, guessed))
        print("Wrong guesses left: " + str(MAX_WRONG - wrong))
        guess = input("Guess a letter: ").lower()
        if len(guess) != 1 or not guess.isalpha():
            print("Please enter one letter.")
            continue
        if guess in guessed:
            print("You already tried '%s'." % guess)
            continue
        guessed.append(guess)
        if guess not in word:
            wrong += 1
            print("No!")
        elif all(l in guessed for l in word):
            print(f"Well done, the word was {word.upper()}!")
            break
    else:
        print("Out of guesses. The word was", word)
    return wrong

if __name__ == "__main__":
    mistakes = play()
    print("Tried letters with", mistakes, "mistakes")
