def steps(number):
    count = 0
    while number != 1:
        if number % 2:
            number = 3 * number + 1
        else:
            number //= 2
        count += 1
    return count


print(max(range(1, 30), key=steps), steps(27))
