secret = 17
tries = 0
guess = 0
while guess != secret:
    guess = int(input("Seeds in the jar? "))
    tries += 1
    if guess < secret:
        print("more")
    elif guess > secret:
        print("fewer")
print("right after", tries, "tries")
