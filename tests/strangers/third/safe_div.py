def divide(a, b):
    try:
        result = a / b
    except ZeroDivisionError:
        print("cannot divide by zero")
        return None
    else:
        print("ok")
        return result
    finally:
        print("done")

print(divide(10, 4))
print(divide(1, 0))
nums = ["3", "x", "7.5", ""]
total = 0
for n in nums:
    try:
        total += float(n)
    except:
        print("skipped", repr(n))
print(total)
