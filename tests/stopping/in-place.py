numbers = [3, 1, 2]
x = numbers.sort()
print(x, numbers)
print(numbers.append(5))
print(numbers)
if numbers.reverse():
    print("never")
else:
    print(numbers)
a = [1, 2].extend([3])
print(a)
d = {"a": 1}
d = d.update({"b": 2})
print(d)
numbers = numbers.sort()
print(numbers[0])
