words = ["apple", "banana", "cherry"]
secret = words[1]
guessed = []
lives = 5
letters = list("abnxyz")
while lives > 0 and letters:
    shown = ""
    for ch in secret:
        if ch in guessed:
            shown += ch
        else:
            shown += "_"
    print(" ".join(shown), "Lives:", lives)
    if "_" not in shown:
        print("You win!")
        break
    guess = letters.pop(0)
    if guess in guessed:
        print("Already guessed")
    elif guess in secret:
        guessed.append(guess)
        print("Yes,", secret.count(guess), "time(s)")
    else:
        lives -= 1
        print("No", guess)
else:
    print("Game over:", secret)
