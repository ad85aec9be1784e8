def factorial(n):
    return 1 if n <= 1 else n * factorial(n - 1)


def hanoi(count, start, end, spare):
    if count == 0:
        return 0
    moves = hanoi(count - 1, start, spare, end)
    print(start + end, end=" ")
    return moves + 1 + hanoi(count - 1, spare, end, start)


def binary(n):
    if n < 2:
        return str(n)
    return binary(n // 2) + str(n % 2)


def flat(values):
    result = []
    for value in values:
        if value == [] or value in [1, 2, 3]:
            result.append(value)
        else:
            result += flat(value)
    return result


print(factorial(30), binary(37), flat([1, [2, [3, 1]]]))
print(hanoi(3, "A", "C", "B"))
