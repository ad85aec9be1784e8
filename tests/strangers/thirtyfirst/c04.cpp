#include <iostream>
#include <cstdlib>
#include <string>
#include <vector>
using namespace std;

struct Item {
    string name;
    int quantity;
    double price;
};

void printMenu() {
    cout << "1. Add item" << endl;
    cout << "2. Remove item" << endl;
    cout << "3. List items" << endl;
    cout << "4. Total value" << endl;
    cout << "0. Quit" << endl;
    cout << "> ";
}

int findItem(const vector<Item>& items, const string& name) {
    for (size_t i = 0; i < items.size(); i++) {
        if (items[i].name == name) return i;
    }
    return -1;
}

int main() {
    vector<Item> items;
    int choice;
    do {
        printMenu();
        cin >> choice;
        switch (choice) {
            case 1: {
                Item it;
                cout << "Name: ";
                cin >> it.name;
                cout << "Quantity: ";
                cin >> it.quantity;
                cout << "Price: ";
                cin >> it.price;
                int pos = findItem(items, it.name);
                if (pos >= 0) {
                    items[pos].quantity += it.quantity;
                    cout << "Updated." << endl;
                } else {
                    items.push_back(it);
                    cout << "Added." << endl;
                }
                break;
            }
            case 2: {
                string name;
                cout << "Name: ";
                cin >> name;
                int pos = findItem(items, name);
                if (pos == -1) {
                    cout << "Not found." << endl;
                } else {
                    items.erase(items.begin() + pos);
                    cout << "Removed." << endl;
                }
                break;
            }
            case 3:
                if (items.empty()) {
                    cout << "(empty)" << endl;
                    break;
                }
                for (const Item& it : items) {
                    cout << it.name << "\t" << it.quantity << "\t" << it.price << endl;
                }
                break;
            case 4: {
                double total = 0;
                for (auto& it : items) total += it.quantity * it.price;
                cout << "Total: " << total << endl;
                break;
            }
            case 0:
                cout << "Bye" << endl;
                break;
            default:
                cout << "Unknown choice" << endl;
        }
    } while (choice != 0);
    return EXIT_SUCCESS;
}
