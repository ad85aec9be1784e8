try:
    print(undefined_thing)
except NameError:
    print("caught")
print("on")
