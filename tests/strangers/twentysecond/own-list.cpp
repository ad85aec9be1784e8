#include <iostream>
#include <string>
using namespace std;
template <class T>
struct Node { T value; Node<T>* next; Node(T v) : value(v), next(nullptr) {} };
template <class T>
class LinkedList {
    Node<T>* head;
    int length;
public:
    LinkedList() { head = nullptr; length = 0; }
    void append(T v) {
        Node<T>* n = new Node<T>(v);
        if (!head) { head = n; }
        else { Node<T>* cur = head; while (cur->next) cur = cur->next; cur->next = n; }
        length++;
    }
    bool removeAt(int i) {
        if (i < 0 || i >= length) return false;
        Node<T>* cur = head;
        if (i == 0) { head = head->next; delete cur; }
        else { for (int k = 0; k < i - 1; k++) cur = cur->next; Node<T>* dead = cur->next; cur->next = dead->next; delete dead; }
        length--;
        return true;
    }
    void reverse() { Node<T>* prev = nullptr; Node<T>* cur = head; while (cur != nullptr) { Node<T>* nx = cur->next; cur->next = prev; prev = cur; cur = nx; } head = prev; }
    void print(const string& sep = " -> ") const { for (Node<T>* p = head; p != nullptr; p = p->next) { cout << p->value; if (p->next != nullptr) cout << sep; } cout << endl; }
    int size() const { return length; }
};
int main() {
    LinkedList<string> l;
    l.append("oak"); l.append("ash"); l.append("elm");
    l.print(); l.reverse(); l.print(", ");
    cout << l.removeAt(1) << l.removeAt(9) << l.size() << endl;
    LinkedList<double> d; d.append(1.5); d.append(2); d.print();
}
