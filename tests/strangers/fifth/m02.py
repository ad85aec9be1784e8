password = "fern123"
attempts = 0
correct = False
while not correct and attempts < 3:
    guess = input("Enter password: ")
    attempts += 1
    if guess == password:
        correct = True
        print("Access granted")
    else:
        print(f"Wrong! {3 - attempts} attempts left")
if not correct: print("Locked out")
upper = lower = digit = 0
for c in password:
    if c.isupper(): upper += 1
    elif c.islower(): lower += 1
    elif c.isdigit(): digit += 1
strength = "strong" if upper and lower and digit and len(password) >= 8 else "weak"
print(strength, upper, lower, digit)
