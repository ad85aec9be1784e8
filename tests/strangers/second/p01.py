# Exercise 4: a simple calculator
def add(a, b):
    return a + b
def subtract(a, b):
    return a - b
def multiply(a, b):
    return a * b
def divide(a, b):
    if b == 0:
        return "Error: division by zero"
    return a / b
operations = {'+': add, '-': subtract, '*': multiply, '/': divide}
while True:
    expression = input("Calculate: ")
    if expression == "":
        break
    parts = expression.split()
    if len(parts) != 3 or parts[1] not in operations:
        print("Please write: number operator number")
        continue
    left, op, right = parts
    try:
        result = operations[op](float(left), float(right))
    except ValueError as e:
        print("Not a number:", e)
    else:
        print(f"{left} {op} {right} = {result}")
print("Bye!")
