word = "marigold"
guessed = set()
lives = 6
while lives > 0:
    shown = " ".join(c if c in guessed else "_" for c in word)
    print(shown, f"({lives} lives)")
    if "_" not in shown:
        print("You win!")
        break
    guess = input("Letter? ").lower()
    if len(guess) != 1 or not guess.isalpha():
        print("One letter please")
        continue
    if guess in guessed:
        print("You had that already")
        continue
    guessed.add(guess)
    if guess not in word:
        lives -= 1
        print("No", guess)
else:
    print("You lose, it was", word.upper())
print("Wrong:", sorted(guessed - set(word)))
