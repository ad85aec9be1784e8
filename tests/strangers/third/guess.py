# number guessing game
secret = 42
attempts = 0
while True:
    try:
        guess = int(input("Guess: "))
    except ValueError:
        print("That's not a number!")
        continue
    attempts += 1
    if guess < secret:
        print("Too low")
    elif guess > secret:
        print("Too high")
    else:
        print(f"Correct! You needed {attempts} attempts.")
        break
