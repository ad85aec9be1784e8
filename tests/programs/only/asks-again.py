def ask(prompt):
    while True:
        try:
            return int(input(prompt))
        except ValueError:
            print("Please type a whole number.")

a = ask("First: ")
b = ask("Second: ")
try:
    print("Quotient:", a // b, "rest", a % b)
except ZeroDivisionError as e:
    print("Oops:", e)
