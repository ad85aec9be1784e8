#include <iostream>
using namespace std;
class Stack {
private:
    int *arr;
    int top;
    int capacity;
public:
    Stack(int size) {
        arr = new int[size];
        capacity = size;
        top = -1;
    }
    ~Stack() {
        delete[] arr;
    }
    void push(int x) {
        if (isFull()) {
            cout << "Stack Overflow" << endl;
            return;
        }
        arr[++top] = x;
    }
    int pop() {
        if (isEmpty()) { cout << "Underflow" << endl; return -1; }
        return arr[top--];
    }
    int peek() { return isEmpty() ? -1 : arr[top]; }
    bool isEmpty() { return top == -1; }
    bool isFull() { return top == capacity - 1; }
    int size() { return top + 1; }
};
int main() {
    Stack pt(3);
    pt.push(1); pt.push(2); pt.pop(); pt.push(3); pt.push(4); pt.push(9);
    cout << pt.peek() << pt.size() << endl;
    while (!pt.isEmpty()) cout << pt.pop() << " ";
    pt.pop();
    Stack* s = new Stack(2);
    s->push(5); cout << s->peek() << endl;
    delete s;
}
