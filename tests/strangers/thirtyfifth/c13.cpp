#include <iostream>
#include <string>
using namespace std;

struct Node {
    int value;
    Node *next;
};

void insertSorted(Node **head, int value) {
    Node *n = new Node;
    n->value = value;
    while (*head != NULL && (*head)->value < value)
        head = &(*head)->next;
    n->next = *head;
    *head = n;
}

bool removeValue(Node *&head, int value) {
    for (Node **at = &head; *at; at = &(*at)->next) {
        if ((*at)->value == value) {
            Node *gone = *at;
            *at = gone->next;
            delete gone;
            return true;
        }
    }
    return false;
}

void print(const Node *n) {
    while (n) {
        cout << n->value << (n->next ? " -> " : "\n");
        n = n->next;
    }
}

int sum(Node *n) { return n ? n->value + sum(n->next) : 0; }

Node *reversed(Node *head) {
    Node *prev = NULL;
    while (head) {
        Node *next = head->next;
        head->next = prev;
        prev = head;
        head = next;
    }
    return prev;
}

int main() {
    Node *list = NULL;
    int x;
    while (cin >> x && x != 0) insertSorted(&list, x);
    print(list);
    cout << removeValue(list, 5) << removeValue(list, 50) << endl;
    print(list);
    list = reversed(list);
    print(list);
    cout << "sum " << sum(list) << endl;
    while (list) { Node *t = list; list = list->next; delete t; }
}
