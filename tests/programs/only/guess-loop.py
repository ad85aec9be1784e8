secret = 7
tries = 0
guess = None
while guess != secret:
    guess = int(input("Guess: "))
    tries += 1
    if guess < secret:
        print("too small")
    elif guess > secret:
        print("too large")
print("found in", tries)
