#include <iostream>
#include <string>
using namespace std;
template <class T>
class Queue {
    T* items;
    int front, rear, count, capacity;
public:
    Queue(int cap = 5);
    ~Queue() { delete[] items; }
    void enqueue(T item);
    T dequeue();
    bool isEmpty() const { return count == 0; }
};
template <class T>
Queue<T>::Queue(int cap) : front(0), rear(-1), count(0), capacity(cap) { items = new T[capacity]; }
template <class T>
void Queue<T>::enqueue(T item) {
    if (count == capacity) throw overflow_error("Queue is full");
    rear = (rear + 1) % capacity;
    items[rear] = item;
    count++;
}
template <class T>
T Queue<T>::dequeue() {
    if (isEmpty()) throw underflow_error("Queue is empty");
    T item = items[front];
    front = (front + 1) % capacity;
    count--;
    return item;
}
int main() {
    Queue<int> q(3);
    try { for (int i = 1; i < 6; i++) { q.enqueue(i * 10); cout << "added " << i * 10 << endl; } } catch (const exception& e) { cout << e.what() << endl; }
    while (!q.isEmpty()) cout << q.dequeue() << ' ';
    cout << endl;
    Queue<string> w; w.enqueue("a"); w.enqueue("b"); cout << w.dequeue() << endl;
}
