#include <iostream>
using namespace std;

class Node {
public:
    int data;
    Node* next;
    Node(int d) {
        data = d;
        next = NULL;
    }
};

class LinkedList {
private:
    Node* head;
    int length;
public:
    LinkedList() {
        head = NULL;
        length = 0;
    }

    void insertAtHead(int d) {
        Node* n = new Node(d);
        n->next = head;
        head = n;
        length++;
    }

    void insertAtTail(int d) {
        Node* n = new Node(d);
        if (head == NULL) {
            head = n;
        } else {
            Node* temp = head;
            while (temp->next != NULL) {
                temp = temp->next;
            }
            temp->next = n;
        }
        length++;
    }

    bool remove(int d) {
        Node* cur = head;
        Node* prev = NULL;
        while (cur != NULL && cur->data != d) {
            prev = cur;
            cur = cur->next;
        }
        if (cur == NULL) return false;
        if (prev == NULL) head = cur->next;
        else prev->next = cur->next;
        delete cur;
        length--;
        return true;
    }

    void reverse() {
        Node *prev = NULL, *cur = head, *nxt;
        while (cur) {
            nxt = cur->next;
            cur->next = prev;
            prev = cur;
            cur = nxt;
        }
        head = prev;
    }

    void print() {
        for (Node* p = head; p; p = p->next) {
            cout << p->data;
            if (p->next) cout << " -> ";
        }
        cout << endl;
    }

    int size() { return length; }

    ~LinkedList() {
        while (head != NULL) {
            Node* t = head;
            head = head->next;
            delete t;
        }
    }
};

int main() {
    LinkedList list;
    for (int i = 1; i <= 5; i++) {
        if (i % 2) list.insertAtHead(i * 10);
        else list.insertAtTail(i * 10);
    }
    list.print();
    cout << (list.remove(30) ? "removed" : "missing") << endl;
    cout << (list.remove(99) ? "removed" : "missing") << endl;
    list.print();
    list.reverse();
    list.print();
    cout << "size " << list.size() << endl;
    return 0;
}
