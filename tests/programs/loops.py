for number in range(20):
    if number % 2 == 1:
        continue
    if number > 12:
        break
    print(number)
