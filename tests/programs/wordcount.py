note = "water the beans and water the peas"
counts = {}
for word in note.split():
    if word in counts:
        counts[word] += 1
    else:
        counts[word] = 1
for word in counts:
    print(word, counts[word])
