# Hangman with functions and a main loop, input-driven
import random

WORDS = ["apple", "garden", "seedling"]
MAX_WRONG = 6


def pick_word(words):
    return random.choice(words)


def masked(word, guessed):
    result = ""
    for letter in word:
        if letter in guessed:
            result += letter + " "
        else:
            result += "_ "
    return result.strip()


def get_guess(guessed):
    while True:
        guess = input("Guess a letter: ").lower().strip()
        if len(guess) != 1:
            print("Please enter one letter.")
        elif not guess.isalpha():
            print("That is not a letter.")
        elif guess in guessed:
            print("You already guessed that.")
        else:
            return guess


def play(word):
    guessed = set()
    wrong = 0
    while wrong < MAX_WRONG:
        print(masked(word, guessed), "| wrong:", wrong)
        guess = get_guess(guessed)
        guessed.add(guess)
        if guess not in word:
            wrong += 1
            print("Nope!")
            continue
        if all(letter in guessed for letter in word):
            print("You win! The word was", word.upper())
            return True
    print(f"You lose. It was {word!r}.")
    return False


if __name__ == "__main__":
    won = play(WORDS[1])
    print("Score:", int(won), sorted(set(WORDS[1])))
