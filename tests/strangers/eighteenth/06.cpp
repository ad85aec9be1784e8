#include <iostream>
#include <string>
using namespace std;

template <class T>
class Stack {
    T items[10];
    int top;
public:
    Stack() : top(-1) {}
    bool push(T item) {
        if (top >= 9) return false;
        items[++top] = item;
        return true;
    }
    T pop() {
        if (isEmpty()) throw string("stack is empty");
        return items[top--];
    }
    T peek() const { return items[top]; }
    bool isEmpty() const { return top == -1; }
    int size() const { return top + 1; }
};

template <typename A, typename B>
void show(A a, B b) { cout << a << " and " << b << endl; }

template <typename T>
T biggest(T a, T b) { return (a > b) ? a : b; }

int main() {
    Stack<int> numbers;
    for (int i = 0; i < 12; i++)
        if (!numbers.push(i * i)) cout << "full at " << i << endl;
    cout << numbers.pop() << " " << numbers.peek() << " " << numbers.size() << endl;
    Stack<string> words;
    words.push("pea");
    words.push("bean");
    cout << words.pop() << words.pop() << endl;
    try {
        words.pop();
    } catch (const string& s) {
        cout << "error: " << s << endl;
    }
    show(1, "two");
    show(2.5, 'c');
    cout << biggest(3, 9) << biggest(2.5, 1.5) << biggest<string>("a", "b") << endl;
}
