def unused():
    return watr + 1

print("fine")
