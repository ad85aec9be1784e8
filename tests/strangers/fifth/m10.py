try:
    n = int(input("How many? "))
    total = 100 / n
except ValueError:
    print("That is not a number")
except ZeroDivisionError:
    print("Cannot divide by zero")
else:
    print("Each gets", total)
finally:
    print("Thank you")
data = ["4", "x", "0", "2.5"]
for item in data:
    try:
        print(10 / float(item))
    except (ValueError, ZeroDivisionError) as problem:
        print(type(problem).__name__, "-", problem)
def check(age):
    if age < 0:
        raise ValueError("age must not be negative")
    if age > 120:
        raise Exception("too old")
    return age
for a in (5, -1, 200):
    try:
        print(check(a))
    except ValueError as e:
        print("value:", e)
    except Exception as e:
        print("other:", e)
