word = "watering"
print(word[::2], word[1::2], word[::-1], word[6:1:-2], word[-3:], word[:-3], word[2:5], word[5:2], word[::-3])
beds = list(range(10))
print(beds[::3], beds[8:2:-2], beds[-2::-2], beds[:100], beds[::-1], beds[1:8:3])
step = 4
print(beds[::step], word[1:6:step - 2])
