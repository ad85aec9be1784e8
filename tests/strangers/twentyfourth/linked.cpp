#include <iostream>
#include <string>
using namespace std;

template <typename T>
class LinkedList {
    struct Node {
        T value;
        Node* next;
        Node(T v, Node* n = nullptr) : value(v), next(n) {}
    };
    Node* head = nullptr;
    int length = 0;

public:
    ~LinkedList() {
        while (head) {
            Node* old = head;
            head = head->next;
            delete old;
        }
    }

    void push(T v) {
        head = new Node(v, head);
        length++;
    }

    void append(T v) {
        if (!head) {
            push(v);
            return;
        }
        Node* n = head;
        while (n->next) n = n->next;
        n->next = new Node(v);
        length++;
    }

    bool remove(T v) {
        Node** p = &head;
        while (*p) {
            if ((*p)->value == v) {
                Node* gone = *p;
                *p = gone->next;
                delete gone;
                length--;
                return true;
            }
            p = &(*p)->next;
        }
        return false;
    }

    void reverse() {
        Node* prev = nullptr;
        Node* cur = head;
        while (cur != nullptr) {
            Node* next = cur->next;
            cur->next = prev;
            prev = cur;
            cur = next;
        }
        head = prev;
    }

    int size() const { return length; }

    void print(const string& label) const {
        cout << label << ": ";
        for (Node* n = head; n != nullptr; n = n->next) cout << n->value << (n->next ? " -> " : "");
        cout << " (" << length << ")" << endl;
    }
};

int main() {
    LinkedList<int> numbers;
    for (int i = 1; i <= 4; i++) numbers.append(i * i);
    numbers.push(0);
    numbers.print("numbers");
    numbers.reverse();
    numbers.print("reversed");
    cout << boolalpha << numbers.remove(9) << " " << numbers.remove(5) << endl;
    numbers.print("after");
}
