visitors = 0

def gate(people):
    global visitors
    visitors += people
    print("now", visitors)

gate(3)
gate(4)
print("in all", visitors)
